import click

from probe import COMMANDS, NAMES, show

if COMMANDS:

    @click.group()
    @click.option("-b", "--brief", is_flag=True)
    @click.pass_context
    def main(context, brief):
        context.obj = brief

    for name in NAMES:

        @main.command(name)
        @click.option("-a", "--all", "every", is_flag=True)
        @click.argument("file", nargs=-1)
        @click.pass_context
        def below(context, every, file):
            show({"all": every, "brief": context.obj}, {}, file, context.info_name)

else:

    @click.command()
    @click.option("-a", "--all", "every", is_flag=True)
    @click.option("-b", "--brief", is_flag=True)
    @click.option("-o", "--output")
    @click.option("--outline", is_flag=True)
    @click.option("--quiet", "--quieter", is_flag=True)
    @click.option("-c", "--color", is_flag=False, flag_value="")
    @click.option("--mode", type=click.Choice(["fast", "slow", "sleepy"]))
    @click.option("-n", "--dry-run", is_flag=True)
    @click.argument("file", nargs=-1)
    def main(every, brief, output, outline, quiet, color, mode, dry_run, file):
        flags = {"all": every, "brief": brief, "outline": outline, "quiet": quiet, "dry-run": dry_run}
        show(flags, {"output": output, "color": color, "mode": mode}, file)


main(prog_name="probe")
