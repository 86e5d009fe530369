use clap_2::{App, Arg, SubCommand};
use probes::{asks_commands, finish, flag, value, NAMES};

fn main() {
    let all = || Arg::with_name("all").short("a").long("all");
    let file = || Arg::with_name("file").multiple(true);
    let brief = Arg::with_name("brief").short("b").long("brief");
    let mut app = App::new("probe").version("1.0").arg(brief);
    if asks_commands() {
        for name in NAMES {
            let below = SubCommand::with_name(name).arg(all()).arg(file());
            app = app.subcommand(if name == "start" { below.alias("begin") } else { below });
        }
        let found = app.get_matches();
        let (name, Some(below)) = found.subcommand() else { std::process::exit(9) };
        println!("command {name}");
        flag("all", below.is_present("all"));
        flag("brief", found.is_present("brief"));
        return finish(below.values_of("file").into_iter().flatten());
    }
    let found = app
        .arg(all())
        .arg(Arg::with_name("output").short("o").long("output").takes_value(true))
        .arg(Arg::with_name("outline").long("outline"))
        .arg(Arg::with_name("quiet").long("quiet").alias("quieter"))
        .arg(Arg::with_name("color").short("c").long("color").takes_value(true).min_values(0).require_equals(true))
        .arg(Arg::with_name("mode").long("mode").takes_value(true).possible_values(&["fast", "slow", "sleepy"]))
        .arg(Arg::with_name("dry-run").short("n").long("dry-run"))
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
