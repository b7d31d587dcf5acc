import { useState } from 'react';
import { Link } from 'react-router';
import { useGarden } from '../../api/queries.ts';
import { Answered, PageHead } from '../../parts/page.tsx';
import { keysAreOff, setKeysOff } from '../../parts/shortcuts.tsx';
import { HandSettings } from '../../parts/hand-settings.tsx';
import { GardenForm } from './garden-form.tsx';
import { StepsLine } from '../start/steps-line.tsx';
import { WhereStep } from '../start/where-step.tsx';
import { PlacesForm } from './places-form.tsx';
import { SetupNav } from './setup-nav.tsx';
import { SchoolsForm } from './schools-form.tsx';

/** First run, and what can be changed later: the garden, its places, this device. */
export function SetupPage() {
  return (
    <Answered question={useGarden()}>
      {({ garden }) => (
        <>
          {garden ? <SetupNav /> : <StepsLine at={1} />}
          <PageHead
            title={garden ? 'Setup' : 'Welcome. Where is the garden?'}
            lead={
              garden
                ? 'The garden, its places and thermometers, and this device.'
                : 'Three short steps to a first date. The place tells the seasons and the length of days; all of it can be changed later, and stays on this computer.'
            }
          />
          {!garden && (
            <p className="mb-4">
              Kept one before?{' '}
              <Link className="link-husk" to="/setup/backups">
                Bring it in from a backup
              </Link>
              .
            </p>
          )}
          {!garden ? (
            <WhereStep />
          ) : (
            <div className="grid gap-6 lg:grid-cols-2">
              <section aria-label="The garden">
                <h2 className="mb-2">The garden</h2>
                <GardenForm garden={garden} />
              </section>
              <div className="flex flex-col gap-6">
                <section aria-label="Places" id="places">
                  <h2 className="mb-2">Places and their thermometers</h2>
                  <PlacesForm />
                </section>
                <section aria-label="Schools" id="schools">
                  <h2 className="mb-2">Where practitioners disagree</h2>
                  <SchoolsForm />
                </section>
                <section aria-label="This device">
                  <h2 className="mb-2">This device</h2>
                  <DeviceForm />
                </section>
              </div>
            </div>
          )}
        </>
      )}
    </Answered>
  );
}

function DeviceForm() {
  const [off, setOff] = useState(keysAreOff);
  return (
    <div className="flex flex-col gap-3">
      <HandSettings />
      <label className="sheet p-4 flex items-center gap-3 min-h-11">
        <input
          type="checkbox"
          className="checkbox"
          checked={!off}
          onChange={(event) => {
            setKeysOff(!event.target.checked);
            setOff(!event.target.checked);
          }}
        />{' '}
        Single-key shortcuts (press ? for the list)
      </label>
      <Link className="link-husk" to="/out">
        Going out: what this device takes along
      </Link>
    </div>
  );
}
