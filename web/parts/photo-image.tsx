import { useEffect, useState, type ComponentProps } from 'react';
import { photoAddress } from '../api/photo-address.ts';
import { pictureHere } from '../outbox/pictures-here.ts';

/** A photo from the computer at home; without it, as this device has it. */
export function PhotoImage({ photoId, alt, ...rest }: { photoId: string } & ComponentProps<'img'>) {
  const [here, setHere] = useState<string | null>(null);
  useEffect(() => () => (here ? URL.revokeObjectURL(here) : undefined), [here]);
  const lookHere = () => {
    if (here) return;
    void pictureHere(photoId).then((picture) => picture && setHere(URL.createObjectURL(picture)));
  };
  return <img {...rest} alt={alt} src={here ?? photoAddress(photoId)} onError={lookHere} />;
}
