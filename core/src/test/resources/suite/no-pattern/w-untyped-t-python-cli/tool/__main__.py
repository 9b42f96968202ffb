import sys
from pathlib import Path
from tool.config import Config
from tool.report import report_for
from tool.scan import Scanner, no_long_lines, no_tabs

def main(argv):
    config = Config.load(Path(argv[1]))
    scanner = Scanner([no_tabs, no_long_lines])
    report = report_for(argv[2] if len(argv) > 2 else 'plain')
    found = [finding for target in config.targets.values() for finding in scanner.scan(target.path)]
    report.write(sys.stdout, found)
    return 1 if found else 0
if __name__ == '__main__':
    sys.exit(main(sys.argv))