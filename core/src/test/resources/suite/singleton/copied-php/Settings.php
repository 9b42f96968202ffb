<?php
namespace Aldera;

class Settings
{
    private static ?Settings $settings = null;
    private array $values = [];

    private function __construct()
    {
        $this->values = parse_ini_file('port.ini');
    }

    public static function get(): self
    {
        return self::$settings ??= new self();
    }

    public function value(string $key): ?string
    {
        return $this->values[$key] ?? null;
    }
}

function snapshot(): Settings
{
    return clone Settings::get();
}
