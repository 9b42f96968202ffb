<?php

declare(strict_types=1);

namespace App\Weather;

enum Sky: string
{
    case Clear = 'clear';
    case Cloudy = 'cloudy';
    case Rain = 'rain';

    public function label(): string
    {
        return match ($this) {
            self::Clear => 'sun',
            self::Cloudy => 'clouds',
            self::Rain => 'rain',
        };
    }
}
