/** What the caller knows better than the object. */
export interface ObjectSettings {
  /** The program's name, where the object does not say it. */
  readonly program?: string | undefined;
}
