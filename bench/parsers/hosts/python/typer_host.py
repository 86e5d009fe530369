from enum import Enum
from typing import List, Optional

import typer

from probe import COMMANDS, NAMES, show

application = typer.Typer()


class Mode(str, Enum):
    fast = "fast"
    slow = "slow"
    sleepy = "sleepy"


if COMMANDS:

    @application.callback()
    def root(context: typer.Context, brief: bool = typer.Option(False, "-b", "--brief")):
        context.obj = brief

    for name in NAMES:

        @application.command(name)
        def below(
            context: typer.Context,
            every: bool = typer.Option(False, "-a", "--all"),
            file: Optional[List[str]] = typer.Argument(None),
        ):
            show({"all": every, "brief": context.obj}, {}, file, context.info_name)

else:

    @application.command()
    def main(
        every: bool = typer.Option(False, "-a", "--all"),
        brief: bool = typer.Option(False, "-b", "--brief"),
        output: Optional[str] = typer.Option(None, "-o", "--output"),
        outline: bool = typer.Option(False, "--outline"),
        quiet: bool = typer.Option(False, "--quiet", "--quieter"),
        mode: Optional[Mode] = typer.Option(None, "--mode"),
        dry_run: bool = typer.Option(False, "-n", "--dry-run"),
        file: Optional[List[str]] = typer.Argument(None),
    ):
        flags = {"all": every, "brief": brief, "outline": outline, "quiet": quiet, "dry-run": dry_run}
        show(flags, {"output": output, "mode": mode.value if mode else None}, file)


application(prog_name="probe")
