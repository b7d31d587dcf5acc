import { useState } from 'react';
import type { Garden } from '#core/records';
import { roughMonths, type UncertainMonths } from '#core/weather';
import type { UsualMonths } from '#engine';
import { usePutGarden } from '../../api/queries.ts';
import { ClimateFields, climateTold, draftOf } from '../../parts/climate-fields.tsx';
import { GradeMark } from '../../parts/grade-mark.tsx';
import { useChange } from '../../parts/use-change.ts';
import { significant } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { MonthsChart } from './months-chart.tsx';

interface ToldClimateSectionProps {
  readonly garden: Garden;
  /** As they stand, readings taken into account. */
  readonly usual: UsualMonths | null;
}

/** Usual months from what a gardener knows of frost and heat, drawn beside, with how far off they may be. */
export function ToldClimateSection({ garden, usual }: ToldClimateSectionProps) {
  const show = useShow();
  const change = useChange(usePutGarden());
  const [draft, setDraft] = useState(() => draftOf(garden.climate, show));
  const [asked, setAsked] = useState(false);
  const { climate, wrong } = climateTold(draft, show);
  const isKept = JSON.stringify(climate) === JSON.stringify(garden.climate);
  const drawn =
    isKept && usual?.origin === 'told' ? usual : climate && roughMonths(climate, garden.latitudeDeg);
  return (
    <section aria-label="What you know of it" className="grid gap-6 lg:grid-cols-2 items-start mb-6">
      <form
        noValidate
        className="sheet p-5 flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          setAsked(true);
          if (Object.keys(wrong).length > 0) return;
          change(
            garden,
            { ...garden, climate },
            climate ? 'What you know of its year is kept.' : 'Nothing is told of its year now.',
          );
        }}
      >
        <h2>What you know of it</h2>
        <ClimateFields draft={draft} wrong={asked ? wrong : {}} show={show} onChange={setDraft} />
        <button type="submit" className="btn btn-primary self-start">
          Keep it
        </button>
      </form>
      <div className="sheet p-5 flex flex-col gap-3">
        {drawn ? (
          <Drawn
            months={drawn}
            isKept={isKept}
            usual={usual}
            perDegree={show.temperatureUnit === '°F' ? 1.8 : 1}
          />
        ) : (
          <p className="soft">
            Say how hot a midsummer afternoon and how cold a midwinter night usually gets, and its year is
            drawn here.
          </p>
        )}
      </div>
    </section>
  );
}

function Drawn({
  months,
  isKept,
  usual,
  perDegree,
}: {
  months: UncertainMonths;
  isKept: boolean;
  usual: UsualMonths | null;
  perDegree: number;
}) {
  const show = useShow();
  const offBy = significant(months.widthC * perDegree, 1);
  return (
    <>
      <h2>Its year, as a guess</h2>
      <MonthsChart months={months} />
      <p className="text-sm">
        Each month may be off by about {offBy} {show.temperatureUnit} either way, two times in three.{' '}
        <GradeMark grade="C" />{' '}
        {usual?.origin === 'table'
          ? 'The climate table below is gone by instead.'
          : isKept
            ? 'Every reading that comes in sets it right a little.'
            : 'Not kept yet.'}
      </p>
    </>
  );
}
