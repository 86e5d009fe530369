//! How every host in Rust prints what its parser read.

pub const NAMES: [&str; 4] = ["start", "status", "stop", "route:plan"];

pub fn asks_commands() -> bool {
    std::env::var("PROBE").as_deref() == Ok("commands")
}

pub fn flag(name: &str, given: bool) {
    if given {
        println!("option {name}");
    }
}

pub fn value(name: &str, text: Option<&str>) {
    if let Some(text) = text {
        println!("{}", format!("option {name} {text}").trim_end());
    }
}

pub fn finish<'a>(operands: impl Iterator<Item = &'a str>) {
    for one in operands {
        println!("operand {one}");
    }
    println!("read");
}
