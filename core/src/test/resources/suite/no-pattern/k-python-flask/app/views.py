from flask import Blueprint, jsonify, request

from .models import BerthQuery

bp = Blueprint("berths", __name__)


@bp.route("/berths")
def berths():
    query = BerthQuery()
    if "metres" in request.args:
        query.longer_than(float(request.args["metres"]))
    return jsonify([{"id": berth.id, "metres": berth.metres} for berth in query.all()])
