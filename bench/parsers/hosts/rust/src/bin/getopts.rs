use getopts::Options;
use probes::{finish, flag, value};

fn main() {
    let mut options = Options::new();
    options.optflag("a", "all", "all").optflag("b", "brief", "brief").optopt("o", "output", "output", "FILE");
    options.optflag("", "outline", "outline").optflagopt("c", "color", "color", "WHEN").optflag("n", "dry-run", "dry");
    let words: Vec<String> = std::env::args().skip(1).collect();
    let found = options.parse(words).unwrap_or_else(|mistake| {
        eprintln!("{mistake}");
        std::process::exit(1)
    });
    for name in ["all", "brief", "outline", "dry-run"] {
        flag(name, found.opt_present(name));
    }
    value("output", found.opt_str("output").as_deref());
    if found.opt_present("color") {
        value("color", Some(found.opt_str("color").as_deref().unwrap_or("")));
    }
    finish(found.free.iter().map(String::as_str));
}
