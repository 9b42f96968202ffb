<?php

final class Booking
{
    private string $status = 'asked';

    public function label(): string
    {
        return match ($this->status) {
            'asked' => 'waiting for an answer',
            'granted' => 'you may come',
            'refused' => 'no berth',
        };
    }

    public function fee(): int
    {
        return match ($this->status) {
            'asked' => 0,
            'granted' => 120,
            'refused' => 15,
        };
    }

    public function grant(): void
    {
        $this->status = 'granted';
    }
}

$booking = new Booking();
$booking->grant();
echo $booking->label(), $booking->fee();
