import { Option } from 'commander';

/** An option whose arguments are collected, however many times it is given; its help says so. */
export function repeatedOption(flags: string, help: string): Option {
  return new Option(flags, `${help}; may be given several times`).argParser(
    (value: string, before: readonly string[] = []) => [...before, value],
  );
}
