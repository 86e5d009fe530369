use clap_4::{Arg, ArgAction, ArgMatches, Command};
use probes::{asks_commands, finish, flag, value, NAMES};

fn switch(name: &'static str) -> Arg {
    Arg::new(name).long(name).action(ArgAction::SetTrue)
}

fn operands(found: &ArgMatches) -> impl Iterator<Item = &str> {
    found.get_many::<String>("file").into_iter().flatten().map(String::as_str)
}

fn main() {
    let all = || switch("all").short('a');
    let file = || Arg::new("file").num_args(0..);
    let mut app = Command::new("probe").version("1.0").arg(switch("brief").short('b'));
    if asks_commands() {
        app = app.subcommand_required(true);
        for name in NAMES {
            let below = Command::new(name).arg(all()).arg(file());
            app = app.subcommand(if name == "start" { below.visible_alias("begin") } else { below });
        }
        let found = app.get_matches();
        let Some((name, below)) = found.subcommand() else { std::process::exit(9) };
        println!("command {name}");
        flag("all", below.get_flag("all"));
        flag("brief", found.get_flag("brief"));
        return finish(operands(below));
    }
    let found = app
        .arg(all())
        .arg(Arg::new("output").short('o').long("output"))
        .arg(switch("outline"))
        .arg(switch("quiet").visible_alias("quieter"))
        .arg(Arg::new("color").short('c').long("color").num_args(0..=1).require_equals(true).default_missing_value("auto"))
        .arg(Arg::new("mode").long("mode").value_parser(["fast", "slow", "sleepy"]))
        .arg(switch("dry-run").short('n'))
        .arg(file())
        .get_matches();
    for name in ["all", "brief", "outline", "quiet", "dry-run"] {
        flag(name, found.get_flag(name));
    }
    for name in ["output", "mode", "color"] {
        value(name, found.get_one::<String>(name).map(String::as_str));
    }
    finish(operands(&found));
}
