<?php
namespace Aldera\Print;
class TicketPrinter
{
    private static ?TicketPrinter $only = null;
    private int $printed = 0;
    private function __construct() {}
    public static function only(): self
    {
        if (self::$only === null) {
            self::$only = new self();
        }
        return self::$only;
    }
    public function print(string $text): int { return ++$this->printed + strlen($text); }
}
