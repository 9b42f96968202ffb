<?php
final class Lighthouse
{
    private static ?Lighthouse $lighthouse = null;
    private int $turns = 0;

    private function __construct()
    {
    }

    public static function instance(): self
    {
        if (self::$lighthouse === null) {
            self::$lighthouse = new self();
        }
        return self::$lighthouse;
    }

    public function turn(): void
    {
        $this->turns++;
    }
}

final class Night
{
    public function fall(): void
    {
        Lighthouse::instance()->turn();
    }
}
