use gumdrop::Options;
use probes::{asks_commands, finish, flag, value};

#[derive(Options)]
struct Plain {
    help: bool,
    all: bool,
    brief: bool,
    output: Option<String>,
    #[options(no_short)]
    outline: bool,
    #[options(short = "n")]
    dry_run: bool,
    #[options(free)]
    file: Vec<String>,
}

#[derive(Options)]
struct Below {
    help: bool,
    all: bool,
    #[options(free)]
    file: Vec<String>,
}

#[derive(Options)]
enum Command {
    Start(Below),
    Status(Below),
    Stop(Below),
    #[options(name = "route:plan")]
    RoutePlan(Below),
}

#[derive(Options)]
struct Program {
    help: bool,
    brief: bool,
    #[options(command, required)]
    command: Option<Command>,
}

fn main() {
    if asks_commands() {
        let found = Program::parse_args_default_or_exit();
        let (name, below) = match found.command {
            Some(Command::Start(below)) => ("start", below),
            Some(Command::Status(below)) => ("status", below),
            Some(Command::Stop(below)) => ("stop", below),
            Some(Command::RoutePlan(below)) => ("route:plan", below),
            None => std::process::exit(9),
        };
        println!("command {name}");
        flag("all", below.all);
        flag("brief", found.brief);
        return finish(below.file.iter().map(String::as_str));
    }
    let found = Plain::parse_args_default_or_exit();
    flag("all", found.all);
    flag("brief", found.brief);
    flag("outline", found.outline);
    flag("dry-run", found.dry_run);
    value("output", found.output.as_deref());
    finish(found.file.iter().map(String::as_str));
}
