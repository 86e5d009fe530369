/** The name and version of the tool as outputs state them. */
export interface Tool {
  readonly name: string;
  readonly version: string;
}
