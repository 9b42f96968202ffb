from harbourlog import HarbourLog, NoBlank, NoSecret, Upper

chain = NoBlank(NoSecret(["pin"], Upper()))
log = HarbourLog()
for line in ("in 12:40", "", "pin 4711"):
    kept = chain.handle(line)
    if kept is not None:
        log.write(kept)
print(HarbourLog().lines)
