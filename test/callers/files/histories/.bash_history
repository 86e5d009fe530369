#1732000000
tiffin box list --late
