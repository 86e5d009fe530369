use clap_3::{Arg, Command};
use probes::{asks_commands, finish, flag, value, NAMES};

fn main() {
    let all = || Arg::new("all").short('a').long("all");
    let file = || Arg::new("file").multiple_values(true);
    let mut app = Command::new("probe").version("1.0").arg(Arg::new("brief").short('b').long("brief"));
    if asks_commands() {
        for name in NAMES {
            let below = Command::new(name).arg(all()).arg(file());
            app = app.subcommand(if name == "start" { below.visible_alias("begin") } else { below });
        }
        let found = app.get_matches();
        let Some((name, below)) = found.subcommand() else { std::process::exit(9) };
        println!("command {name}");
        flag("all", below.is_present("all"));
        flag("brief", found.is_present("brief"));
        return finish(below.values_of("file").into_iter().flatten());
    }
    let found = app
        .arg(all())
        .arg(Arg::new("output").short('o').long("output").takes_value(true))
        .arg(Arg::new("outline").long("outline"))
        .arg(Arg::new("quiet").long("quiet").visible_alias("quieter"))
        .arg(Arg::new("color").short('c').long("color").takes_value(true).min_values(0).max_values(1).require_equals(true))
        .arg(Arg::new("mode").long("mode").possible_values(["fast", "slow", "sleepy"]))
        .arg(Arg::new("dry-run").short('n').long("dry-run"))
        .arg(file())
        .get_matches();
    for name in ["all", "brief", "outline", "quiet", "dry-run"] {
        flag(name, found.is_present(name));
    }
    value("output", found.value_of("output"));
    value("mode", found.value_of("mode"));
    if found.is_present("color") {
        value("color", Some(found.value_of("color").unwrap_or("")));
    }
    finish(found.values_of("file").into_iter().flatten());
}
