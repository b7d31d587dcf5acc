import { useNotices } from './notices.tsx';

/** Plain text to be kept: saved as a file, or copied. */
export function SavedText({ name, text }: { name: string; text: string }) {
  const { say } = useNotices();
  return (
    <>
      <a
        className="btn no-print"
        href={`data:text/plain;charset=utf-8,${encodeURIComponent(text)}`}
        download={name}
      >
        Save as plain text
      </a>
      <button
        type="button"
        className="btn no-print"
        onClick={() =>
          void navigator.clipboard.writeText(text).then(
            () => say('The text is copied.'),
            () => say('This browser did not allow copying; save it as plain text instead.'),
          )
        }
      >
        Copy the text
      </button>
    </>
  );
}
