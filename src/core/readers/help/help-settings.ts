/** What the caller of the reader knows better than the text. */
export interface HelpSettings {
  /** The program's name, where the text does not say it. */
  readonly program?: string | undefined;
  /** The path of the command that the text describes, without the program (`["route", "plan"]`). */
  readonly command?: readonly string[] | undefined;
  /** The columns of the terminal for which the text was printed. */
  readonly width?: number | undefined;
}

/** The keys of these settings. */
export const HELP_SETTINGS: Readonly<Record<keyof HelpSettings, true>> = {
  program: true,
  command: true,
  width: true,
};
