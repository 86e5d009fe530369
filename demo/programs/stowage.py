#!/usr/bin/env python3
"""Plans which box stands where on the boat. Part of the demo: what its parser declares is more than its help shows."""

import argparse


def parser():
    stowage = argparse.ArgumentParser(prog="stowage", description="Plan which box stands where on the boat.")
    stowage.add_argument("--version", action="version", version="stowage 1.4")
    stowage.add_argument("-v", "--verbose", action="count", default=0, help="tell more; twice tells all")
    stowage.add_argument("--skip-tide-table", action="store_true", help=argparse.SUPPRESS)
    below = stowage.add_subparsers(dest="command", required=True)

    plan = below.add_parser("plan", aliases=["p"], help="plan a boat")
    plan.add_argument("-b", "--boat", metavar="NAME", required=True, help="boat to load")
    plan.add_argument("--order", choices=["stops", "weight", "size"], default="stops", help="what to go by")
    plan.add_argument("--tiers", type=int, choices=range(1, 5), default=2, help="boxes on top of each other")
    side = plan.add_mutually_exclusive_group()
    side.add_argument("--port", action="store_true", help="load on the left first")
    side.add_argument("--starboard", action="store_true", help="load on the right first")
    plan.add_argument("box", nargs="+", help="number of a box")

    show = below.add_parser("show", help="show the plan of a boat")
    show.add_argument("boat", help="boat to look at")
    show.add_argument("--raw", action="store_true", help=argparse.SUPPRESS)
    return stowage


def main():
    found = parser().parse_args()
    print("planned" if found.command in ("plan", "p") else "shown")


main()
