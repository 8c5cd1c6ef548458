import { useState } from 'react';
import type { Cook, Vessel } from '../../core/cook/cook.ts';
import { cookProblems } from '../../core/cook/cook-problems.ts';
import { CUP_FILLS, type CupFill, levelCups } from '../../core/cook/cup-fill.ts';
import { type Outcome, potNet } from '../../core/cook/divide.ts';
import { takenWords } from '../../core/cook/outcome-words.ts';
import { type PanCut, piecesOfCut } from '../../core/cook/pan-cut.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { NumberField } from '../kit/number-field.tsx';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { Picker } from '../kit/picker.tsx';
import { TakeFromScale } from '../scale/take-from-scale.tsx';
import { PanDrawn } from './pan-drawn.tsx';

type How = 'weighed' | 'pieces' | 'pan' | 'wedges' | 'cups' | 'portions';

const HOW_WORDS: Readonly<Record<How, string>> = {
  weighed: 'Weigh the pot',
  pieces: 'Count pieces',
  pan: 'Cut a pan',
  wedges: 'Cut wedges',
  cups: 'Measure cups',
  portions: 'By portions',
};

interface WhatCameOutProps {
  readonly cook: Cook;
  /** What the recipe says that it makes; null where nobody said. */
  readonly servings: number | null;
  readonly vessels: readonly Vessel[];
  /** The share that plates and boxes would take of it. */
  readonly takenOf: (out: Outcome) => number;
  readonly onKeepVessel: (name: string, grams: number, millilitres: number | null) => string;
  readonly onOut: (out: Pick<Cook, 'out' | 'gross' | 'vesselId'>) => void;
}

/** So many rows, columns or wedges can be cut. */
const MOST_CUTS = 60;
const isCount = (n: number | null): n is number => n !== null && Number.isInteger(n) && n >= 1 && n <= MOST_CUTS;

const howOf = ({ out }: Cook): How =>
  out === null || out.by === 'grams'
    ? 'weighed'
    : out.by === 'cups'
      ? 'cups'
      : out.cut === null
        ? 'pieces'
        : out.cut.shape === 'wedges'
          ? 'wedges'
          : 'pan';

/** What came out of the pot: weighed, counted, cut or measured. Portions are then what they really are. */
export function WhatCameOut({ cook, servings, vessels, takenOf, onKeepVessel, onOut }: WhatCameOutProps) {
  const [how, setHow] = useState<How>(howOf(cook));
  const [gross, setGross] = useState<number | null>(cook.gross ?? cook.out?.grams ?? null);
  const [vesselId, setVesselId] = useState<string>(cook.vesselId ?? '');
  const [pieces, setPieces] = useState<number | null>(cook.out?.by === 'pieces' ? cook.out.amount : servings);
  const [weight, setWeight] = useState<number | null>(cook.out?.grams ?? null);
  const had = cook.out?.cut ?? null;
  const [rows, setRows] = useState<number | null>(had?.shape === 'grid' ? had.rows : 3);
  const [columns, setColumns] = useState<number | null>(had?.shape === 'grid' ? had.columns : 4);
  const [wedges, setWedges] = useState<number | null>(had?.shape === 'wedges' ? had.wedges : 8);
  const [cups, setCups] = useState<number | null>(cook.out?.by === 'cups' ? cook.out.amount : null);
  const [fill, setFill] = useState<CupFill>('level');
  const [taken, setTaken] = useState(0);
  const [asked, setAsked] = useState(false);
  const [naming, setNaming] = useState(false);
  const vessel = vessels.find((v) => v.id === vesselId);
  const tare = how === 'weighed' ? (vessel?.grams ?? null) : null;
  const net = gross === null ? null : tare === null ? gross : potNet(gross, tare);
  const whole = (n: number | null): number => (n === null ? Number.NaN : n);
  const cut: PanCut | null =
    how === 'pan' && isCount(rows) && isCount(columns)
      ? { shape: 'grid', rows, columns }
      : how === 'wedges' && isCount(wedges)
        ? { shape: 'wedges', wedges }
        : null;
  const out: Outcome =
    how === 'weighed'
      ? { by: 'grams', amount: net ?? (gross === null ? Number.NaN : gross), grams: net, cut: null }
      : how === 'cups'
        ? { by: 'cups', amount: levelCups(whole(cups), fill), grams: weight, cut: null }
        : how === 'pan' || how === 'wedges'
          ? { by: 'pieces', amount: cut === null ? Number.NaN : piecesOfCut(cut), grams: weight, cut }
          : { by: 'pieces', amount: whole(pieces), grams: weight, cut: null };
  const problems = cookProblems({ out, gross: how === 'weighed' ? gross : null, tare, taken: [takenOf(out)] });
  const save = () => {
    setAsked(true);
    if (problems.length > 0) return;
    setAsked(false);
    onOut({ out, gross: how === 'weighed' ? gross : null, vesselId: how === 'weighed' && vessel ? vessel.id : null });
  };
  return (
    <section aria-label="What came out">
      <h3 className="text-xl">What came out</h3>
      <OneOfFew
        label="How it is divided"
        className="mt-2"
        value={how}
        choices={(Object.keys(HOW_WORDS) as How[]).map((h) => ({ value: h, words: HOW_WORDS[h] }))}
        onPick={setHow}
      />
      <div className="mt-3 flex flex-wrap items-end gap-3">
        {how === 'weighed' && (
          <>
            <NumberField
              key={`scale ${taken}`}
              label="the scale shows, g"
              className="w-36 max-w-full"
              value={gross}
              onValue={setGross}
            />
            <TakeFromScale
              what="The pot with what is in it"
              onTake={(g) => {
                setGross(g);
                setTaken((n) => n + 1);
              }}
            />
            <Picker
              label="in this pot"
              className="w-56 max-w-full"
              value={naming ? 'new' : vesselId}
              choices={[
                { value: '', words: 'nothing: the dish alone' },
                ...vessels.map((v) => ({
                  value: v.id as string,
                  words: v.name,
                  about: `${formatGrams(v.grams)} empty`,
                })),
                { value: 'new', words: 'another pot or dish…' },
              ]}
              onPick={(id) => {
                setNaming(id === 'new');
                if (id !== 'new') setVesselId(id);
              }}
            />
            {net !== null && vessel && <p className="pb-2.5">{formatGrams(net)} in it</p>}
          </>
        )}
        {(how === 'pieces' || how === 'portions') && (
          <NumberField
            key={how}
            label={how === 'pieces' ? 'they came out as' : 'portions'}
            className="w-36 max-w-full"
            value={pieces}
            onValue={setPieces}
          />
        )}
        {how === 'pan' && (
          <>
            <NumberField label="rows" className="w-24" value={rows} onValue={setRows} />
            <NumberField label="columns" className="w-24" value={columns} onValue={setColumns} />
          </>
        )}
        {how === 'wedges' && <NumberField label="wedges" className="w-24" value={wedges} onValue={setWedges} />}
        {cut !== null && <PanDrawn cut={cut} />}
        {how === 'cups' && (
          <>
            <NumberField label="cups in all" className="w-36 max-w-full" value={cups} onValue={setCups} />
            <OneOfFew
              label="How full they were"
              value={fill}
              choices={CUP_FILLS.map((f) => ({ value: f, words: f }))}
              onPick={setFill}
            />
          </>
        )}
        {how !== 'weighed' && (
          <NumberField
            label="all of it weighs, g"
            placeholder="if weighed"
            className="w-44 max-w-full"
            value={weight}
            onValue={setWeight}
          />
        )}
      </div>
      {naming && (
        <NewVessel
          onKeep={(name, grams, millilitres) => {
            setVesselId(onKeepVessel(name, grams, millilitres));
            setNaming(false);
          }}
        />
      )}
      {asked && problems.length > 0 && (
        <ul className="note mt-3" role="alert">
          {problems.map((p) => (
            <li key={p}>{p}</li>
          ))}
        </ul>
      )}
      <button type="button" className="btn btn-main mt-3" onClick={save}>
        {cook.out === null ? 'Dish it up' : `Change it (now ${takenWords(cook.out, 1)})`}
      </button>
    </section>
  );
}

/** A pot that is not known yet: weighed empty once, it need not be emptied again. */
function NewVessel({ onKeep }: { readonly onKeep: (name: string, grams: number, millilitres: number | null) => void }) {
  const [holds, setHolds] = useState<number | null>(null);
  const [name, setName] = useState('');
  const [grams, setGrams] = useState<number | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  return (
    <div className="panel mt-3 flex flex-wrap items-end gap-3 p-3">
      <label className="min-w-40 flex-1">
        <span className="label">what it is called</span>
        <input
          className="field"
          maxLength={80}
          placeholder="the blue pot"
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
      </label>
      <NumberField label="empty, g" className="w-28" value={grams} onValue={setGrams} />
      <NumberField label="holds, ml" placeholder="if known" className="w-32" value={holds} onValue={setHolds} />
      <button
        type="button"
        className="btn"
        onClick={() => {
          if (name.trim() === '' || grams === null || !(grams > 0))
            return setWrong('Give it a name, and what it weighs empty as a number above 0.');
          if (holds !== null && !(holds > 0))
            return setWrong('Write how much it holds as a number above 0, or leave it empty.');
          onKeep(name.trim(), grams, holds);
        }}
      >
        Keep it
      </button>
      <p role="alert" className="basis-full text-beet text-sm">
        {wrong}
      </p>
    </div>
  );
}
