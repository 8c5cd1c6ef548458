import { ProblemSchema } from '../contract/problem.ts';
import { namedTogether } from '../core/quantity/named-together.ts';
import { CliError } from './cli-error.ts';
import { flagsOf } from './flags.ts';
import { type Io, processIo } from './io.ts';
import { parseCommand } from './parse-command.ts';
import { prepCommand } from './prep-command.ts';
import { readText } from './read-text.ts';
import { scoreCommand } from './score-command.ts';
import { teachCommand } from './teach-command.ts';
import { waysCommand } from './ways-command.ts';

const COMMANDS: readonly string[] = [
  'parse',
  'score',
  'ways',
  'prep',
  'card',
  'teach',
  'export',
  'import',
  'backup',
  'restore',
];

const USAGE = `imbiss: the engine without a screen

  parse  FILE|- [--explain] [--json]
  score  FILE|- [--servings N] [--program MARK|FILE | --rule rule.json] [--by ingredients|serving|items] [--json]
  ways   FILE|- --eater MARK=POINTS [--eater …] [--program FILE] [--servings N] [--kcal N] [--protein G] [--sodium MG] [--min-grams G]
         [--max-changes N] [--without WORD] [--keep TEXT] [--lacking FOOD] [--have FOOD] [--swaps swaps.json]
         [--explain] [--json]
         (parse, score, ways and prep: --units us|label|metric for cups and spoons, --region us|gb for words;
         of a page with several recipes --recipe N)
  prep   FILE FILE… [--start HH:MM] [--cooks 1|2] [--json]
  teach  KNOWN.csv [--about FOODS.csv] [--label us|eu] [--amounts 1|1,2,3|any] [--step 1|0.5]
         [--rounding nearest|up|down] [--json]
  card   FILE [--text | --html | --jsonld | --png OUT.png] [--program MARK|FILE]
  export DIR
  import FILE… [--household ID]
  backup FILE
  restore FILE`;

/** Runs a command and returns the exit code: 0 done, 2 bad input with a problem as JSON on stderr. */
export async function cli(args: readonly string[], io: Io = processIo): Promise<number> {
  const print = io.out;
  try {
    const { values, positionals } = flagsOf(args);
    const [command, file] = positionals;
    if (values.help || command === undefined) {
      print(USAGE);
      return 0;
    }
    if (!COMMANDS.includes(command)) {
      throw new CliError(`There is no command ${command}.`, `The commands are ${namedTogether(COMMANDS)}.`);
    }
    if (file === undefined)
      throw new CliError(`${command} needs a ${command === 'export' ? 'folder' : 'file'}.`, `Write: ${command} FILE`);
    if (command === 'parse') print(parseCommand(readText(file, io), values));
    else if (command === 'ways') print(waysCommand(readText(file, io), values));
    else if (command === 'prep')
      print(
        prepCommand(
          positionals.slice(1).map((f) => readText(f, io)),
          values,
        ),
      );
    else if (command === 'teach') print(teachCommand(readText(file, io), values));
    else if (command === 'score') print(scoreCommand(readText(file, io), values));
    else if (command === 'card') {
      const { cardCommand } = await import('./card-command.ts');
      print(await cardCommand(readText(file, io), values, new Date().toISOString().slice(0, 10)));
    } else if (command === 'export' || command === 'import') {
      const { exportCommand, importCommand } = await import('./carry-command.ts');
      const done =
        command === 'export' ? exportCommand(file, io.env) : importCommand(positionals.slice(1), values, io.env);
      print(await done);
    } else {
      const { backupCommand } = await import('./backup-command.ts');
      print(await backupCommand(command === 'backup', file, io.env));
    }
    return 0;
  } catch (e) {
    if (e instanceof CliError) {
      io.err(JSON.stringify(ProblemSchema.parse({ status: 400, title: e.message, detail: e.detail })));
      return 2;
    }
    throw e;
  }
}
