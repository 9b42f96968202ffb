<?php
namespace Aldera\Notices;
abstract class Notice {
    public function deliver(array $lines): void {
        $text = '';
        foreach ($lines as $line) { $text .= trim($line) . "\n"; }
        if ($text !== '') { $this->send($text, count($lines)); }
    }
    abstract protected function send(string $text, int $lines): void;
}
class RadioNotice extends Notice {
    protected function send(string $text, int $lines): void { echo "radio: " . $text; }
}
class BoardNotice extends Notice {
    private array $board = [];
    protected function send(string $text, int $lines): void { $this->board[] = $text; }
}
class NoticeDesk {
    public function morning(): void { (new RadioNotice())->deliver(['fog']); (new BoardNotice())->deliver(['fog']); }
}
