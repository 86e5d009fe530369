#!/usr/bin/env python3
"""Writes the lists of the day: don't call 'tiffin box list' by hand."""
import asyncio, os, shlex, subprocess
from subprocess import check_output

TIFFIN = "tiffin"
ARGS = ["box", "list"]
LONGER = ["tiffin", "round"]
LONGER.append("open")

def run(words, **more):
    return subprocess.run(words, check=True, **more)

def lists(day, key, route):
    subprocess.run(["tiffin", "box", "list", "--late"], check=True)  # subprocess.run(["tiffin"])
    subprocess.check_call([
        "tiffin",
        "box", 'list',
        "--sort=" + key,
        f"--round={day}-a",
    ])
    subprocess.run("tiffin box list --late | wc -l", shell=True)
    os.system("tiffin route print %s" % route)
    os.system(f'cd {day} && tiffin round open "{day}"')
    subprocess.Popen((TIFFIN, "box", "list"), stdout=subprocess.PIPE)
    subprocess.run(["/usr/bin/tiffin", *ARGS])
    subprocess.run(LONGER, env={"TIFFIN": "box"})
    out = check_output(["sudo", "-u", "clerk", "tiffin", "box", "list", route], text=True)
    os.execvp("tiffin", ["tiffin", "box", "list"])
    os.execlp("tiffin", "tiffin", "route", "print")
    subprocess.run(shlex.split("tiffin box list --late"))
    run(["tiffin", "box", r"list", "\x61ll"] + ARGS)
    asyncio.create_subprocess_exec("tiffin", "box", "list", stdout=None)
    subprocess.getoutput("tiffin " "box " "list")
    print(["tiffin", "box", "print"], "tiffin box print")
    log.info("""run tiffin box list""")
