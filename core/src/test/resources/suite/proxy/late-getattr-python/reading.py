from archive import LateArchive

archive = LateArchive("/logs/1990")
print(archive.page(3), len(archive.search("9")))
