import type { Page } from '@playwright/test';

/** Answers what the bench asks of a plant that nobody has said anything of: no bloom, no bees, as it is logged. */
export async function sayAllClear(page: Page): Promise<void> {
  const scene = page.getByRole('region', { name: 'How it stands today' });
  await scene.waitFor();
  for (const question of [/in bloom/, /bees gather/]) {
    const group = scene.getByRole('group', { name: question });
    if (await group.isVisible()) await group.getByText('no', { exact: true }).click();
  }
}
