import type { ReactNode } from 'react';
import { QRCodeSVG } from 'qrcode.react';

interface TrustAtHomeProps {
  /** Where the phone reaches this computer. */
  readonly address: string;
  /** SHA-256 of what it is asked to trust. */
  readonly fingerprint: string;
}

/** How a phone comes to trust this computer, so that its browser keeps the pages for a garden without a signal. */
export function TrustAtHome({ address, fingerprint }: TrustAtHomeProps) {
  const file = `${address}/api/authority.crt`;
  return (
    <div className="sheet p-5 flex flex-col gap-4">
      <p>
        A browser keeps pages only from a computer it trusts. Once the phone has this computer’s own
        certificate of trust, the warning is gone and Juglans opens at the far end of the garden.
      </p>
      <div className="grid gap-5 sm:grid-cols-[auto_minmax(0,1fr)]">
        <QRCodeSVG
          value={file}
          size={148}
          marginSize={2}
          title={`QR code of ${file}`}
          className="rounded bg-white"
        />
        <div className="flex flex-col gap-2 min-w-0">
          <p>Point the phone’s camera at it and go on past the warning, this once. Or type:</p>
          <p className="font-semibold break-all">{file}</p>
          <p className="text-sm">
            Install it only if its SHA-256 fingerprint reads:{' '}
            <span className="break-all font-mono">{fingerprint}</span>
          </p>
        </div>
      </div>
      <Fold title="If the phone speaks of a profile">
        <ol className="list-decimal pl-5 flex flex-col gap-1">
          <li>Allow it to be loaded.</li>
          <li>
            In the settings, under “General”, then the part for devices and profiles, open “Juglans on …” and
            install it.
          </li>
          <li>
            Under “General”, “About”, “Certificate Trust Settings”, switch it on. Without this last step
            nothing changes.
          </li>
        </ol>
      </Fold>
      <Fold title="If the phone only saves a file">
        <ol className="list-decimal pl-5 flex flex-col gap-1">
          <li>
            In the settings search for “CA certificate”; it stands under security, “Encryption and
            credentials”, “Install a certificate”.
          </li>
          <li>Choose “CA certificate”, and then the file juglans-at-home.crt from the downloads.</li>
          <li>The phone says that your network may be watched: it says so of every such certificate.</li>
        </ol>
      </Fold>
      <Fold title="What it may do, and how it is taken away">
        <p>
          It vouches for this computer’s name and for addresses within a home, and for nothing else: no shop,
          no bank. Its key stays on this computer. It lasts ten years; what it vouches for is renewed by
          itself. To take it away, remove the profile, or the entry under “Trusted credentials”, “User”.
        </p>
      </Fold>
      <p className="soft text-sm">
        Then open Juglans on the phone, switch its network off, and open it once more. The list of devices
        says when that was done.
      </p>
    </div>
  );
}

function Fold({ title, children }: { title: string; children: ReactNode }) {
  return (
    <details>
      <summary className="link-husk list-none inline-block min-h-11 pt-2">{title}</summary>
      {children}
    </details>
  );
}
