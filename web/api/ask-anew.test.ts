import { expect, test } from '@jest/globals';
import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { askAnew } from './ask-anew.ts';

/** A shelf asked for over a line that answers when it is told to. */
function slowShelf() {
  const client = new QueryClient();
  let onShelf = 0;
  const answers: (() => void)[] = [];
  const observer = new QueryObserver(client, {
    queryKey: ['shelf'],
    queryFn: () => {
      const asOfNow = onShelf;
      return new Promise<number>((answer) => answers.push(() => answer(asOfNow)));
    },
  });
  const stop = observer.subscribe(() => undefined);
  return {
    client,
    put: () => onShelf++,
    answerAll: async () => {
      while (answers.length > 0) {
        answers.shift()!();
        // The next question follows upon the answer.
        await new Promise((go) => setTimeout(go, 5));
      }
    },
    shown: () => observer.getCurrentResult().data,
    asked: () => answers.length,
    stop: () => {
      stop();
      client.clear();
    },
  };
}

test('a first answer from before the change does not stand', async () => {
  const shelf = slowShelf();
  shelf.put();
  const anew = askAnew(shelf.client);
  await shelf.answerAll();
  await anew;
  expect(shelf.shown()).toBe(1);
  shelf.stop();
});

test('what is there already is asked for once more, and only once', async () => {
  const shelf = slowShelf();
  await shelf.answerAll();
  expect(shelf.shown()).toBe(0);
  shelf.put();
  const anew = askAnew(shelf.client);
  expect(shelf.asked()).toBe(1);
  await shelf.answerAll();
  await anew;
  expect(shelf.shown()).toBe(1);
  shelf.stop();
});

test('what was not changed is left as it is', async () => {
  const shelf = slowShelf();
  await shelf.answerAll();
  await askAnew(shelf.client, ['rounds']);
  expect(shelf.asked()).toBe(0);
  shelf.stop();
});
