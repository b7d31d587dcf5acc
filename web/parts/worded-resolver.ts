import { zodResolver } from '@hookform/resolvers/zod';
import type { FieldErrors, FieldValues, Resolver } from 'react-hook-form';
import type { z } from 'zod';
import { fieldWords } from '#knowledge';

/** A form's check by its record's schema, whose codes become words beside the fields. */
export function wordedResolver<Values extends FieldValues>(
  schema: z.ZodType<Values, Values>,
): Resolver<Values> {
  const judge = zodResolver(schema) as unknown as Resolver<Values>;
  return async (...asked) => {
    const judged = await judge(...asked);
    return { ...judged, errors: worded(judged.errors) as typeof judged.errors } as typeof judged;
  };
}

function worded(errors: FieldErrors | readonly unknown[]): unknown {
  if (Array.isArray(errors)) return errors.map((error) => (error ? worded(error as FieldErrors) : error));
  return Object.fromEntries(
    Object.entries(errors).map(([key, value]) => [
      key,
      key === 'message' && typeof value === 'string'
        ? fieldWords(value)
        : key !== 'ref' && typeof value === 'object' && value !== null
          ? worded(value as FieldErrors)
          : value,
    ]),
  );
}
