import sys

from absl import flags
from absl.flags import _helpers

from declared import interfaces, show

for one in interfaces():
    _helpers.get_help_width = lambda width=one.width: width
    sys.argv[0] = one.program
    values = flags.FlagValues()
    for option in one.root.options:
        more = {"short_name": option.short or None, "flag_values": values, "module_name": one.program}
        text = option.help
        if option.presence == "none":
            flags.DEFINE_boolean(option.long, False, text, **more)
        elif option.values and "repeated" in option.flags:
            flags.DEFINE_multi_enum(option.long, None, option.values, text, **more)
        elif option.values:
            flags.DEFINE_enum(option.long, option.default or None, option.values, text, **more)
        elif "repeated" in option.flags:
            flags.DEFINE_multi_string(option.long, None, text, **more)
        elif option.type == "integer":
            limits = {"lower_bound": int(option.least), "upper_bound": int(option.most)} if option.least else {}
            flags.DEFINE_integer(option.long, int(option.default) if option.default else None, text, **limits, **more)
        elif option.type == "number":
            flags.DEFINE_float(option.long, float(option.default) if option.default else None, text, **more)
        else:
            flags.DEFINE_string(option.long, option.default or None, text, **more)
    show(one, (), f"{one.summary}\n" + values.main_module_help() + "\n")
