/** Bad input, in words that say what to do. */
export class CliError extends Error {
  readonly detail: string;
  constructor(title: string, detail: string) {
    super(title);
    this.detail = detail;
  }
}
