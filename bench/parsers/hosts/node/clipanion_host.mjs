import { Cli, Command, Option } from 'clipanion';
import { asksCommands, NAMES, show, words } from './probe.mjs';

const cli = new Cli({ binaryName: 'probe', binaryVersion: '1.0' });
if (asksCommands) {
  for (const name of NAMES) {
    cli.register(
      class extends Command {
        static paths = name === 'start' ? [[name], ['begin']] : [[name]];
        all = Option.Boolean('-a,--all');
        files = Option.Rest();
        async execute() {
          show({ all: this.all }, {}, this.files, name);
        }
      },
    );
  }
} else {
  cli.register(
    class extends Command {
      all = Option.Boolean('-a,--all');
      brief = Option.Boolean('-b,--brief');
      output = Option.String('-o,--output');
      outline = Option.Boolean('--outline');
      quiet = Option.Boolean('--quiet,--quieter');
      color = Option.String('-c,--color', { tolerateBoolean: true });
      dry = Option.Boolean('-n,--dry-run');
      files = Option.Rest();
      async execute() {
        const { all, brief, outline, quiet, dry, output, color } = this;
        show({ all, brief, outline, quiet, 'dry-run': dry }, { output, color }, this.files);
      }
    },
  );
}
cli.runExit(words);
