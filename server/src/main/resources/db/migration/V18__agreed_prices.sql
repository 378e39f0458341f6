-- The price with which an order was accepted.
create table agreed_price (
    order_id uuid primary key references flower_order (id) on delete cascade,
    agreed varchar(1048576) not null
);
