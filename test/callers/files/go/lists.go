package lists

// exec.Command("tiffin", "never")
func lists(ctx context.Context, day string) error {
	quote := '"'
	args := []string{"box", "list"}
	if err := exec.Command("tiffin", "box", "list", "--late").Run(); err != nil {
		return fmt.Errorf("tiffin box list: %w", err)
	}
	exec.CommandContext(ctx, "tiffin", "route", "print", day)
	exec.Command("sh", "-c", `cd /srv && tiffin box list --late`)
	exec.Command("tiffin", args...)
	exec.Command("tiffin", append(args, "--all")...)
	syscall.Exec("/usr/bin/tiffin", []string{"tiffin", "box", "list", "--sort=" + day}, os.Environ())
	cmd := &cobra.Command{Use: "tiffin box list"}
	return nil
}
