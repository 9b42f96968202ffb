<?php

declare(strict_types=1);

namespace Aldera\Booking;

final class BookingController
{
    public function __construct(private readonly BerthRepository $berths)
    {
    }

    public function show(int $id): string
    {
        $berth = $this->berths->find($id);
        if ($berth === null) {
            return 'no such berth';
        }
        return sprintf('%d: %.1f m', $berth->id(), $berth->metres());
    }
}
