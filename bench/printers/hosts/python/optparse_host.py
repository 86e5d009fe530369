import optparse
import os

from declared import interfaces, show

for one in interfaces():
    os.environ["COLUMNS"] = str(one.width)
    operands = " ".join(
        (f"{a.placeholder}..." if a.most < 0 else a.placeholder) if a.least else
        (f"[{a.placeholder}...]" if a.most < 0 else f"[{a.placeholder}]")
        for a in one.root.operands)
    parser = optparse.OptionParser(prog=one.program, version=one.version, description=one.summary,
                                   usage=f"%prog [options] {operands}".rstrip(), epilog=one.epilogue or None)
    titled = {}
    for option in one.root.options:
        place = parser
        if option.heading:
            place = titled.setdefault(option.heading, optparse.OptionGroup(parser, option.heading))
        more = {"help": option.help, "dest": option.long or option.short}
        if "hidden" in option.flags:
            more["help"] = optparse.SUPPRESS_HELP
        if option.presence == "none":
            more["action"] = "store_true"
        else:
            more["metavar"] = option.placeholder
            if option.default:
                more["default"] = option.default
                more["help"] = (more["help"] + " [default: %default]").lstrip()
            if option.values:
                more["type"] = "choice"
                more["choices"] = option.values
        place.add_option(*option.spellings(), **more)
    for group in titled.values():
        parser.add_option_group(group)
    show(one, (), parser.format_help())
