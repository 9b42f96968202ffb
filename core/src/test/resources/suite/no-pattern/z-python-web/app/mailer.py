import smtplib
from email.message import EmailMessage


class Mailer:
    def __init__(self, host: str, sender: str):
        self.host = host
        self.sender = sender

    def send(self, to: str, subject: str, text: str) -> None:
        message = EmailMessage()
        message["From"], message["To"], message["Subject"] = self.sender, to, subject
        message.set_content(text)
        with smtplib.SMTP(self.host) as server:
            server.send_message(message)
