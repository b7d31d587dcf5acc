import { useState } from 'react';
import { ApiProblem } from '../../api/client.ts';
import { useLogIn } from '../../api/door.ts';
import { Field } from '../../parts/field.tsx';
import { PageHead } from '../../parts/page.tsx';

/** The door: nothing of the garden shows before the passphrase is said. */
export function LoginPage() {
  const logIn = useLogIn();
  const [passphrase, setPassphrase] = useState('');
  const problem = logIn.error instanceof ApiProblem ? logIn.error : null;
  const wrong = problem?.errors[0]?.message;
  return (
    <div className="max-w-md mx-auto mt-8">
      <PageHead
        title="Say the passphrase"
        lead="This garden is kept on a computer at home. Whoever set it up knows the passphrase."
      />
      <form
        noValidate
        className="sheet p-5 flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          logIn.mutate(passphrase);
        }}
      >
        <Field label="Passphrase" error={wrong}>
          <input
            type="password"
            className="input w-full"
            autoComplete="current-password"
            autoFocus
            value={passphrase}
            onChange={(event) => setPassphrase(event.target.value)}
          />
        </Field>
        {problem && !wrong && (
          <p role="alert" className="text-error font-semibold">
            {problem.message}
          </p>
        )}
        <button type="submit" className="btn btn-primary" disabled={logIn.isPending}>
          {logIn.isPending ? 'Asking…' : 'Come in'}
        </button>
        <p className="soft text-sm">This device stays let in for 30 days after its last use.</p>
      </form>
    </div>
  );
}
