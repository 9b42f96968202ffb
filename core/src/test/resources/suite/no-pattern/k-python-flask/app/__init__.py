from flask import Flask

from .extensions import db
from .views import bp


def create_app(config=None):
    app = Flask(__name__)
    app.config.from_mapping(SECRET_KEY="dev", DATABASE="sqlite:///berths.db")
    if config is not None:
        app.config.update(config)
    db.init_app(app)
    app.register_blueprint(bp)
    return app
