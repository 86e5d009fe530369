use argh::FromArgs;
use probes::{asks_commands, finish, flag, value};

/// probe
#[derive(FromArgs)]
struct Options {
    /// all
    #[argh(switch, short = 'a')]
    all: bool,
    /// brief
    #[argh(switch, short = 'b')]
    brief: bool,
    /// output
    #[argh(option, short = 'o')]
    output: Option<String>,
    /// outline
    #[argh(switch)]
    outline: bool,
    /// dry
    #[argh(switch, short = 'n')]
    dry_run: bool,
    /// file
    #[argh(positional)]
    file: Vec<String>,
}

/// start
#[derive(FromArgs)]
#[argh(subcommand, name = "start")]
struct Start {
    /// all
    #[argh(switch, short = 'a')]
    all: bool,
    #[argh(positional)]
    file: Vec<String>,
}

/// status
#[derive(FromArgs)]
#[argh(subcommand, name = "status")]
struct Status {}

/// stop
#[derive(FromArgs)]
#[argh(subcommand, name = "stop")]
struct Stop {}

#[derive(FromArgs)]
#[argh(subcommand)]
enum Command {
    Start(Start),
    Status(Status),
    Stop(Stop),
}

/// probe
#[derive(FromArgs)]
struct Program {
    /// brief
    #[argh(switch, short = 'b')]
    brief: bool,
    #[argh(subcommand)]
    command: Command,
}

fn main() {
    if asks_commands() {
        let found: Program = argh::from_env();
        match found.command {
            Command::Start(below) => {
                println!("command start");
                flag("all", below.all);
                flag("brief", found.brief);
                finish(below.file.iter().map(String::as_str));
            }
            Command::Status(_) => {
                println!("command status");
                flag("brief", found.brief);
                finish([].into_iter());
            }
            Command::Stop(_) => {
                println!("command stop");
                flag("brief", found.brief);
                finish([].into_iter());
            }
        }
        return;
    }
    let found: Options = argh::from_env();
    flag("all", found.all);
    flag("brief", found.brief);
    flag("outline", found.outline);
    flag("dry-run", found.dry_run);
    value("output", found.output.as_deref());
    finish(found.file.iter().map(String::as_str));
}
