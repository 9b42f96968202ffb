<?php
namespace Report;

final class Mailer
{
    /** @param Report[] $reports */
    public function send(array $reports, array $data): void
    {
        foreach ($reports as $report) {
            mail('boss@example.org', 'report', $report->render($data));
        }
    }
}
