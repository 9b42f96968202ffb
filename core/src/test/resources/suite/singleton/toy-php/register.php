<?php

class Register
{
    private static $instances = [];

    protected function __construct()
    {
    }

    protected function __clone()
    {
    }

    public function __wakeup()
    {
        throw new \Exception('Cannot unserialize a singleton.');
    }

    public static function getInstance(): Register
    {
        $cls = static::class;
        if (!isset(self::$instances[$cls])) {
            self::$instances[$cls] = new static();
        }
        return self::$instances[$cls];
    }
}

class Log extends Register
{
    private $lines = 0;

    public function write(string $line): void
    {
        $this->lines++;
        echo $line;
    }
}

Log::getInstance()->write('a');
