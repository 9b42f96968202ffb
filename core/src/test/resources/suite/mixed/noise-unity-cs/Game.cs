using System.Collections.Generic;
using UnityEngine;

public class Health : MonoBehaviour
{
    [SerializeField] private int most = 100;
    private int now;

    public bool Dead => now <= 0;

    private void Awake()
    {
        now = most;
    }

    public void Hit(int damage)
    {
        now = Mathf.Max(0, now - damage);
        if (Dead)
        {
            Destroy(gameObject);
        }
    }
}

public class Cannon : MonoBehaviour
{
    [SerializeField] private Ball ball;
    [SerializeField] private float delay = 2f;
    private float since;

    private void Update()
    {
        since += Time.deltaTime;
        if (since > delay && Input.GetKeyDown(KeyCode.Space))
        {
            since = 0;
            Instantiate(ball, transform.position, transform.rotation);
        }
    }
}

public class Ball : MonoBehaviour
{
    [SerializeField] private float speed = 12f;
    [SerializeField] private int damage = 10;

    private void Update()
    {
        transform.Translate(Vector3.forward * speed * Time.deltaTime);
    }

    private void OnTriggerEnter(Collider other)
    {
        var health = other.GetComponent<Health>();
        if (health != null)
        {
            health.Hit(damage);
        }
        Destroy(gameObject);
    }
}

public class Spawner : MonoBehaviour
{
    [SerializeField] private List<GameObject> ships;
    private readonly List<GameObject> alive = new List<GameObject>();

    public GameObject Spawn(int index)
    {
        var ship = Instantiate(ships[index]);
        alive.Add(ship);
        return ship;
    }

    public void Clear()
    {
        foreach (var ship in alive)
        {
            Destroy(ship);
        }
        alive.Clear();
    }
}
