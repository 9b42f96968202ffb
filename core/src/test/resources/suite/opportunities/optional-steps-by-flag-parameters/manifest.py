class ManifestPrinter:
    def render(self, cargo, stamped=False, numbered=False, sealed=False):
        lines = [str(item) for item in cargo]
        if numbered:
            lines = [f"{i}. {line}" for i, line in enumerate(lines, 1)]
        if stamped:
            lines.append("PORT OF ALDERA")
        if sealed:
            lines.append("-- sealed --")
        return "\n".join(lines)


print(ManifestPrinter().render(["rope", "salt"], numbered=True))
