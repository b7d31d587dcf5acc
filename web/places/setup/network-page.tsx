import { QRCodeSVG } from 'qrcode.react';
import { useState } from 'react';
import { ApiProblem } from '../../api/client.ts';
import {
  useListen,
  useLogOut,
  useNetwork,
  useRemovePassphrase,
  useSetPassphrase,
  useShutOut,
} from '../../api/door.ts';
import { Choices, Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { FormProblem } from '../../parts/form-problem.tsx';
import { showFullDate, showMoment } from '../../show/dates.ts';
import { SetupNav } from './setup-nav.tsx';
import { TrustAtHome } from './trust-at-home.tsx';

type NetworkState = NonNullable<ReturnType<typeof useNetwork>['data']>;

/** A passphrase, an address on the home network, and the devices that were let in. */
export function NetworkPage() {
  return (
    <>
      <SetupNav />
      <Answered question={useNetwork()}>
        {(network) => (
          <>
            <PageHead
              title={
                network.opened
                  ? 'Phones on your network can come in'
                  : network.passphraseSet
                    ? 'Only this computer can be reached'
                    : 'Only this computer can be reached, and needs no passphrase'
              }
              lead="Take the phone into the garden: it talks to this computer over your own network, nothing goes further. A passphrase comes first."
            />
            <div className="grid gap-6 lg:grid-cols-2">
              <div className="flex flex-col gap-6">
                <section aria-label="Setting the passphrase">
                  <h2 className="mb-2">1. Passphrase</h2>
                  <PassphraseForm key={String(network.passphraseSet)} isSet={network.passphraseSet} />
                </section>
                <section aria-label="Home network">
                  <h2 className="mb-2">2. Home network</h2>
                  <ListenForm network={network} />
                </section>
              </div>
              <div className="flex flex-col gap-6">
                {network.opened && (
                  <section aria-label="On the phone">
                    <h2 className="mb-2">3. On the phone</h2>
                    <OnThePhone opened={network.opened} />
                  </section>
                )}
                {network.opened?.authorityFingerprint && (
                  <section aria-label="Without a signal">
                    <h2 className="mb-2">4. So that it works without a signal</h2>
                    <TrustAtHome
                      address={network.opened.addresses[0]!}
                      fingerprint={network.opened.authorityFingerprint}
                    />
                  </section>
                )}
                {network.passphraseSet && (
                  <section aria-label="Devices">
                    <h2 className="mb-2">Devices let in</h2>
                    <Devices devices={network.devices} />
                  </section>
                )}
              </div>
            </div>
          </>
        )}
      </Answered>
    </>
  );
}

const fieldMessages = (error: unknown) =>
  new Map(
    error instanceof ApiProblem ? error.errors.map(({ path, message }) => [String(path[0]), message]) : [],
  );

function PassphraseForm({ isSet }: { isSet: boolean }) {
  const set = useSetPassphrase();
  const remove = useRemovePassphrase();
  const { say } = useNotices();
  const [typed, setTyped] = useState({ passphrase: '', again: '', current: '' });
  const [differs, setDiffers] = useState(false);
  const messages = fieldMessages(set.error ?? remove.error);
  const change = (key: keyof typeof typed) => (event: { target: { value: string } }) => {
    setTyped({ ...typed, [key]: event.target.value });
    setDiffers(false);
  };
  const save = () => {
    if (typed.passphrase !== typed.again) return setDiffers(true);
    set.mutateAsync({ passphrase: typed.passphrase, current: typed.current }).then(
      () => {
        setTyped({ passphrase: '', again: '', current: '' });
        say(
          isSet ? 'The passphrase is changed; other devices have to say it again.' : 'The passphrase is set.',
        );
      },
      () => undefined,
    );
    return undefined;
  };
  const problem =
    (set.error ?? remove.error) instanceof ApiProblem && messages.size === 0
      ? (set.error ?? remove.error)!.message
      : null;
  return (
    <form
      noValidate
      className="sheet p-5 flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <p>
        {isSet
          ? 'A passphrase is set. Every device says it once.'
          : 'Three or four words that do not belong together are strong and easily typed on a phone.'}
      </p>
      {isSet && (
        <Field
          label="Passphrase until now"
          error={messages.get('current') ?? (remove.error ? messages.get('passphrase') : undefined)}
        >
          <input
            type="password"
            autoComplete="current-password"
            className="input w-full"
            value={typed.current}
            onChange={change('current')}
          />
        </Field>
      )}
      <div className="grid gap-4 sm:grid-cols-2">
        <Field
          label={isSet ? 'New passphrase' : 'Passphrase'}
          hint="at least 10 characters"
          error={set.error ? messages.get('passphrase') : undefined}
        >
          <input
            type="password"
            autoComplete="new-password"
            className="input w-full"
            value={typed.passphrase}
            onChange={change('passphrase')}
          />
        </Field>
        <Field label="Once more" error={differs ? 'is not the same' : undefined}>
          <input
            type="password"
            autoComplete="new-password"
            className="input w-full"
            value={typed.again}
            onChange={change('again')}
          />
        </Field>
      </div>
      <FormProblem problem={problem} />
      <div className="flex flex-wrap gap-3">
        <button type="submit" className="btn btn-primary" disabled={set.isPending}>
          {isSet ? 'Change it' : 'Set it'}
        </button>
        {isSet && (
          <button
            type="button"
            className="btn"
            disabled={remove.isPending}
            onClick={() =>
              void remove.mutateAsync(typed.current).then(
                () => say('The passphrase is gone; only this computer can come in.'),
                () => undefined,
              )
            }
          >
            Do without one
          </button>
        )}
      </div>
      <p className="soft text-sm">
        It is kept as a scrypt hash only. If it is lost, set a new one at this computer: docs/running.md says
        how.
      </p>
    </form>
  );
}

function ListenForm({ network }: { network: NetworkState }) {
  const listen = useListen();
  const { say } = useNotices();
  const [way, setWay] = useState<'https' | 'http'>(network.opened?.https === false ? 'http' : 'https');
  const open = () =>
    listen.mutate(
      { listen: true, https: way === 'https' },
      { onSuccess: () => say('Listening on the home network.') },
    );
  if (!network.canOpen)
    return <p className="sheet p-5">This program was started in a way that has one address only.</p>;
  return (
    <div className="sheet p-5 flex flex-col gap-4">
      <Choices
        legend="How"
        value={way}
        disabled={!network.passphraseSet}
        options={[
          { id: 'https', label: 'https, with a certificate made here' },
          { id: 'http', label: 'http, weaker' },
        ]}
        onChange={setWay}
      />
      <p className="soft text-sm">
        {way === 'https'
          ? 'What goes over the air is encrypted. The phone warns once, because nobody else vouches for ' +
            'this certificate: compare its fingerprint.'
          : 'Whoever shares the network can read along, the passphrase too. Only where https will not work.'}
      </p>
      {!network.passphraseSet && <p className="font-semibold">Set a passphrase first.</p>}
      {listen.error && (
        <p role="alert" className="text-error font-semibold">
          {listen.error.message}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-primary"
          disabled={!network.passphraseSet || listen.isPending}
          onClick={open}
        >
          {network.opened ? 'Open it again this way' : 'Listen on the home network'}
        </button>
        {network.opened && (
          <button
            type="button"
            className="btn"
            onClick={() =>
              listen.mutate(
                { listen: false, https: true },
                { onSuccess: () => say('Only this computer can be reached.') },
              )
            }
          >
            Stop listening
          </button>
        )}
      </div>
    </div>
  );
}

function OnThePhone({ opened }: { opened: NonNullable<NetworkState['opened']> }) {
  const [first] = opened.addresses;
  return (
    <div className="sheet p-5 grid gap-5 sm:grid-cols-[auto_minmax(0,1fr)]">
      <QRCodeSVG
        value={first!}
        size={148}
        marginSize={2}
        title={`QR code of ${first!}`}
        className="rounded bg-white"
      />
      <div className="flex flex-col gap-2 min-w-0">
        <p>Point the phone's camera at it, or type the address:</p>
        <ul className="font-semibold break-all">
          {opened.addresses.map((address) => (
            <li key={address}>{address}</li>
          ))}
        </ul>
        {opened.fingerprint ? (
          <details>
            <summary className="link-husk list-none inline-block">
              {opened.authorityFingerprint ? 'The phone warns: what to compare' : 'Your own certificate'}
            </summary>
            <p className="text-sm mt-1">
              {opened.authorityFingerprint &&
                'Open the certificate in the warning. It is this one if its SHA-256 fingerprint reads: '}
              <span className="break-all font-mono">{opened.fingerprint}</span>
            </p>
          </details>
        ) : (
          <p className="text-error font-semibold">Over http others on the network can read along.</p>
        )}
      </div>
    </div>
  );
}

function Devices({ devices }: { devices: NetworkState['devices'] }) {
  const shutOut = useShutOut();
  const logOut = useLogOut();
  const { say } = useNotices();
  return (
    <ul className="sheet divide-y divide-base-300">
      {devices.map(({ id, device, createdAt, lastUsedAt, offlineOn, here }) => (
        <li key={id} className="p-4 flex flex-wrap justify-between gap-x-4">
          <span>
            <b className="font-semibold">{device}</b>
            {here && <span className="tag ml-2">this one</span>}
            <span className="soft block text-sm">
              let in {showMoment(createdAt)}, last used {showMoment(lastUsedAt)}
            </span>
            <span className={`block text-sm ${offlineOn ? 'font-semibold text-(--husk-deep)' : 'soft'}`}>
              {offlineOn
                ? `works without a signal: opened so on ${showFullDate(offlineOn)}`
                : 'not yet opened without a signal'}
            </span>
          </span>
          {here ? (
            <button type="button" className="link-husk" onClick={() => logOut.mutate(undefined)}>
              log out
            </button>
          ) : (
            <button
              type="button"
              className="link-husk"
              onClick={() =>
                shutOut.mutate(id, {
                  onSuccess: () => say(`${device} was shut out. It can come in again with the passphrase.`),
                })
              }
            >
              shut out
              <span className="sr-only">
                {' '}
                {device}, last used {showMoment(lastUsedAt)}
              </span>
            </button>
          )}
        </li>
      ))}
      {devices.length === 0 && <li className="p-4 soft">None.</li>}
    </ul>
  );
}
