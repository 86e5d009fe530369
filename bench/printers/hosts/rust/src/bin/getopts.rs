use getopts::{HasArg, Occur, Options};
use hosts::{interfaces, show};

fn main() {
    for one in interfaces() {
        let mut options = Options::new();
        for option in &one.root.options {
            let letter = option.short.map_or(String::new(), |letter| letter.to_string());
            let has = match option.presence {
                "none" => HasArg::No,
                "optional" => HasArg::Maybe,
                _ => HasArg::Yes,
            };
            let occurs = match (option.is("required"), option.is("repeated")) {
                (true, _) => Occur::Req,
                (_, true) => Occur::Multi,
                _ => Occur::Optional,
            };
            options.opt(&letter, option.long, option.help, option.placeholder, has, occurs);
        }
        let brief = match one.version.len() % 2 {
            0 => options.short_usage(one.program),
            _ => format!("Usage: {} [options]", one.program),
        };
        show(&one, &[], &options.usage(&brief));
    }
}
