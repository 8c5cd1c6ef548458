/** Something in list and steps that cannot both be, in words for the cook. */
export interface StepDoubt {
  readonly kind:
    | 'mostlyMissing'
    | 'neverUsed'
    | 'notListed'
    | 'otherMeat'
    | 'moreUsed'
    | 'halfPackage'
    | 'yield'
    | 'time'
    | 'temperature'
    | 'notEaten';
  readonly words: string;
  /** A line that would settle it, in words. */
  readonly add?: string;
  /** The line of which the cook is asked what is not eaten. */
  readonly lossOf?: string;
}
