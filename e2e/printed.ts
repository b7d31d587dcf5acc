import type { Page } from '@playwright/test';
import { extractText, getDocumentProxy } from 'unpdf';

/** The text of what a browser prints, page by page, as another program reads it. */
export async function printed(page: Page): Promise<{ readonly pages: number; readonly text: string }> {
  const pdf = await getDocumentProxy(new Uint8Array(await page.pdf({ format: 'A4' })));
  const { totalPages, text } = await extractText(pdf, { mergePages: true });
  return { pages: totalPages, text: text.replace(/\s+/g, ' ') };
}
