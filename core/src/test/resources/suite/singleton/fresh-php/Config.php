<?php

class Config
{
    private static ?Config $config = null;
    private array $values = [];

    private function __construct(array $values = [])
    {
        $this->values = $values;
    }

    public static function get(bool $fresh = false): Config
    {
        if ($fresh) {
            return new Config();
        }
        if (self::$config === null) {
            self::$config = new Config(['lang' => 'nl']);
        }
        return self::$config;
    }

    public function value(string $key): ?string
    {
        return $this->values[$key] ?? null;
    }
}

class Page
{
    public function lang(): string
    {
        return Config::get()->value('lang') ?? 'en';
    }
}
