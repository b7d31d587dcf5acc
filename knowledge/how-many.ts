/** "1 day", "3 days"; what takes more than an s is given. */
export const howMany = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`;
