import Papa from 'papaparse';
import type { TeachAnswer } from '../contract/cli.ts';
import type { FileRow } from '../core/food/file/food-row.ts';
import type { LabelRules } from '../core/food/label-rounding.ts';
import { NUTRIENT_WORDS } from '../core/food/nutrients.ts';
import { formatPoints } from '../core/program/format-points.ts';
import { ruleWords } from '../core/program/program-words.ts';
import { anythingOf, type Teachable } from '../core/teach/fits.ts';
import type { AskableAmounts } from '../core/teach/next-question.ts';
import { readKnown, readTaught, type TableRead } from '../core/teach/read-known.ts';
import { teach } from '../core/teach/teach.ts';
import { CliError } from './cli-error.ts';
import type { Flags } from './flags.ts';
import { readText } from './read-text.ts';

/** `teach`: the rule of a program from foods whose points are known. */
export function teachCommand(text: string, flags: Flags): string {
  const rules = labelFlag(flags);
  const known = foodsInTable(text, (rows) => readKnown(rows, rules));
  if (known.foods.every((f) => f.points === 0))
    throw new CliError('Every food in it has 0 points.', 'Add foods that count: nothing can be learnt from noughts.');
  const about =
    flags.about === undefined ? [] : foodsInTable(readText(flags.about), (rows) => readTaught(rows, rules)).foods;
  const teaching = teach(known.foods, narrowed(anythingOf(known.nutrients), flags));
  const { taught } = teaching;
  const next = about.length === 0 ? null : teaching.next(about, amountsFlag(flags));
  const answer: TeachAnswer = {
    consistent: taught.consistent,
    reading: rules === 'exact' ? 'exact' : 'label',
    rule: taught.explanation?.rule ?? null,
    terms: [...taught.terms],
    modes: [...taught.modes],
    caps: [...taught.caps],
    oddOnesOut: taught.oddOnesOut.map((set) => [...set]),
    uncounted: [...taught.uncounted],
    about: about.flatMap((food) => teaching.points(food) ?? []),
    next: next && {
      food: next.food.name,
      amount: next.portions,
      min: next.min,
      max: next.max,
      settles: next.settles,
    },
  };
  return flags.json ? JSON.stringify(answer, null, 2) : inWords(answer);
}

function foodsInTable<F>(text: string, read: (rows: readonly FileRow[]) => TableRead<F>) {
  const { data } = Papa.parse<FileRow>(text.replace(/^\uFEFF/, ''), { header: true, skipEmptyLines: 'greedy' });
  const table = read(data);
  if ('wrong' in table) {
    const cut = table.wrong.indexOf('. ');
    throw cut === -1
      ? new CliError(table.wrong, 'The columns are name, grams, points and nutrients such as kcal.')
      : new CliError(table.wrong.slice(0, cut + 1), table.wrong.slice(cut + 2));
  }
  return table;
}

/** What is known of the program beside its foods. @throws CliError */
function narrowed(anything: Teachable, flags: Flags): Teachable {
  const { step, rounding } = flags;
  if (step !== undefined && step !== '1' && step !== '0.5')
    throw new CliError(`--step ${step} is no step of points.`, 'Use 1 or 0.5.');
  if (rounding !== undefined && !['nearest', 'up', 'down'].includes(rounding))
    throw new CliError(`--rounding ${rounding} is no rounding.`, 'Use nearest, up or down.');
  const modes = anything.modes.filter(
    (m) => (step === undefined || m.step === Number(step)) && (rounding === undefined || m.rounding === rounding),
  );
  return { ...anything, modes };
}

function labelFlag({ label }: Flags): LabelRules {
  if (label === undefined) return 'exact';
  if (label === 'us' || label === 'eu') return label;
  throw new CliError(`--label ${label} is no label.`, 'Use us or eu, or leave it out where the numbers are exact.');
}

function amountsFlag({ amounts = '1' }: Flags): AskableAmounts {
  if (amounts === '1' || amounts === '1,2,3' || amounts === 'any') return amounts;
  throw new CliError(`--amounts ${amounts} is none that can be asked.`, 'Use 1, 1,2,3 or any.');
}

function inWords(a: TeachAnswer): string {
  const out: string[] = [];
  if (a.rule === null) out.push('No rule of this kind fits these points.');
  else out.push(`A rule that would do: ${ruleWords(a.rule as Parameters<typeof ruleWords>[0])}`);
  for (const t of a.terms)
    out.push(`  ${NUTRIENT_WORDS[t.nutrient].name}: ${t.min.toPrecision(3)} to ${t.max.toPrecision(3)}`);
  if (a.uncounted.length > 0) out.push(`Not counted, it seems: ${a.uncounted.join(', ')}.`);
  for (const set of a.oddOnesOut) out.push(`These contradict the rest: ${set.join(', ')}.`);
  for (const f of a.about) {
    const said = f.min === f.max ? formatPoints(f.min) : `${formatPoints(f.min)} to ${formatPoints(f.max)}`;
    const sure = f.settled
      ? 'for certain'
      : f.likely
        ? `very likely ${formatPoints(f.points)}`
        : `perhaps ${formatPoints(f.points)}`;
    out.push(`  ${f.food}: ${said}, ${sure}`);
  }
  if (a.next) out.push(`Look up next: ${a.next.food}${a.next.amount === 1 ? '' : `, ${a.next.amount} times`}.`);
  return out.join('\n');
}
