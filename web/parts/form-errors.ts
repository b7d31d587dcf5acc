import type { FieldValues, Path, UseFormSetError } from 'react-hook-form';
import { ApiProblem } from '../api/client.ts';

/**
 * Puts a refusal's messages beside the fields they speak of; what belongs to no shown field comes
 * back as one line for the top of the form.
 */
export function spreadProblem<T extends FieldValues>(
  error: unknown,
  setError: UseFormSetError<T>,
  shown: readonly Path<T>[],
): string | null {
  if (!(error instanceof ApiProblem)) return 'Something went wrong. What you entered is still here.';
  const rest = error.errors.filter(({ path, message }) => {
    const field = path.join('.') as Path<T>;
    if (!shown.includes(field)) return true;
    setError(field, { message });
    return false;
  });
  if (error.errors.length > 0 && rest.length === 0) return null;
  return [error.message, ...rest.map(({ path, message }) => `${path.join(' ')}: ${message}`)].join(' ');
}
