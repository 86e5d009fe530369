/** The name and version of the tool as outputs state them. */
export interface Tool {
  /** The name, such as `dabbawala`. */
  readonly name: string;
  /** The version, such as `0.1.0`. */
  readonly version: string;
}
