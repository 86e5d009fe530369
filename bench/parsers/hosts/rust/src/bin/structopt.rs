use probes::{asks_commands, finish, flag, value};
use structopt::StructOpt;

#[derive(StructOpt)]
#[structopt(name = "probe")]
struct Options {
    #[structopt(short, long)]
    all: bool,
    #[structopt(short, long)]
    brief: bool,
    #[structopt(short, long)]
    output: Option<String>,
    #[structopt(long)]
    outline: bool,
    #[structopt(long, possible_values = &["fast", "slow", "sleepy"])]
    mode: Option<String>,
    #[structopt(short = "n", long)]
    dry_run: bool,
    file: Vec<String>,
}

#[derive(StructOpt)]
struct Below {
    #[structopt(short, long)]
    all: bool,
    file: Vec<String>,
}

#[derive(StructOpt)]
enum Command {
    #[structopt(alias = "begin")]
    Start(Below),
    Status(Below),
    Stop(Below),
    #[structopt(name = "route:plan")]
    RoutePlan(Below),
}

#[derive(StructOpt)]
#[structopt(name = "probe")]
struct Program {
    #[structopt(short, long)]
    brief: bool,
    #[structopt(subcommand)]
    command: Command,
}

fn main() {
    if asks_commands() {
        let found = Program::from_args();
        let (name, below) = match found.command {
            Command::Start(below) => ("start", below),
            Command::Status(below) => ("status", below),
            Command::Stop(below) => ("stop", below),
            Command::RoutePlan(below) => ("route:plan", below),
        };
        println!("command {name}");
        flag("all", below.all);
        flag("brief", found.brief);
        return finish(below.file.iter().map(String::as_str));
    }
    let found = Options::from_args();
    flag("all", found.all);
    flag("brief", found.brief);
    flag("outline", found.outline);
    flag("dry-run", found.dry_run);
    value("output", found.output.as_deref());
    value("mode", found.mode.as_deref());
    finish(found.file.iter().map(String::as_str));
}
