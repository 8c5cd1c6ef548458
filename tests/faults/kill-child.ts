// A process that is killed at a statement: argv: what to do, database file, the statement's number.
import { connectTo } from '../../src/server/db/connection.ts';
import { openDatabase } from '../../src/server/db/open.ts';
import { prepareDatabase } from '../../src/server/prepare-database.ts';

const [, , file, at] = process.argv;
let statements = 0;
const clock = (): Date => new Date();
const { db } = await openDatabase(file!, (path) => {
  const connection = connectTo(path);
  return {
    ...connection,
    prepare: (sql) => {
      const statement = connection.prepare(sql);
      const dieFirst = (): void => {
        if (++statements === Number(at)) process.kill(process.pid, 'SIGKILL');
      };
      return {
        ...statement,
        all: (p) => {
          dieFirst();
          return statement.all(p);
        },
        run: (p) => {
          dieFirst();
          return statement.run(p);
        },
      };
    },
  };
});
await prepareDatabase(db, clock);
await db.destroy();
console.log(statements);
