from absl import app, flags

from probe import show

flags.DEFINE_boolean("all", False, "all", short_name="a")
flags.DEFINE_boolean("brief", False, "brief", short_name="b")
flags.DEFINE_string("output", None, "output", short_name="o")
flags.DEFINE_boolean("outline", False, "outline")
flags.DEFINE_enum("mode", None, ["fast", "slow", "sleepy"], "mode")
flags.DEFINE_boolean("dry-run", False, "dry", short_name="n")
FOUND = flags.FLAGS


def main(words):
    given = {"all": FOUND.all, "brief": FOUND.brief, "outline": FOUND.outline, "dry-run": FOUND["dry-run"].value}
    show(given, {"output": FOUND.output, "mode": FOUND.mode}, words[1:])


app.run(main)
